import { readFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
/** Plans one lead without a screen: a request as JSON in a file or on standard input, the plan as JSON on standard output. */
const usage =
  'Usage: npm run -s plan -- FILE   (- reads standard input)   |   npm run -s plan -- --list   |   npm run -s plan -- --texts';

function refuse(message: string): never {
  console.error(message);
  process.exit(2);
}

const flags = {
  list: { type: 'boolean', default: false },
  texts: { type: 'boolean', default: false },
} as const;

function options() {
  try {
    return parseArgs({ allowPositionals: true, options: flags });
  } catch (error) {
    return refuse(`${(error as Error).message} ${usage}`);
  }
}

function textOf(file: string): string {
  try {
    return readFileSync(file === '-' ? 0 : file, 'utf8');
  } catch (error) {
    return refuse(`FILE: found "${file}", expected a file that can be read (${(error as Error).message}).`);
  }
}

// The planner is read when it is known what for: what is asked wrongly is told at once.
async function list(): Promise<string> {
  const { planList } = await import('@gorvane/core/file/plan-list.ts');
  return json(planList());
}

async function texts(): Promise<string> {
  const { planTexts } = await import('@gorvane/core/file/plan-texts.ts');
  const { defaultHouse } = await import('@gorvane/core/house/default-house.ts');
  return planTexts(defaultHouse('2000-01-01T00:00:00.000Z')).join('\n\n');
}

async function answer(request: string): Promise<string> {
  const { planAnswer } = await import('@gorvane/core/file/plan-answer.ts');
  const { readPlanRequest } = await import('@gorvane/core/file/plan-request.ts');
  const { RequestError } = await import('@gorvane/core/file/request-error.ts');
  try {
    return json(planAnswer(readPlanRequest(request)));
  } catch (error) {
    if (error instanceof RequestError) return refuse(error.message);
    throw error;
  }
}

const json = (data: unknown) => JSON.stringify(data, null, 1);

// Whoever reads may have seen enough.
process.stdout.on('error', () => process.exit());

const { values, positionals } = options();
const [file] = positionals;
if (values.texts) console.log(await texts());
else if (values.list) console.log(await list());
else if (file === undefined || positionals.length > 1) refuse(usage);
else console.log(await answer(textOf(file)));
