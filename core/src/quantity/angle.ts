/** What a number of turns leaves beyond whole ones, degrees, 0 to 360. */
export function degreesBeyondTurns(turns: number): number {
  return (turns * 360) % 360;
}
