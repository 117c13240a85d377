/** Every way that an end is put on a coaxial cable. */
export const methodNames = [
  'pin and ferrule',
  'push-on and ferrule',
  'hollow tip and ferrule',
  'soldered body',
  'screw-on body',
  'reducer',
  'clamp gland',
  'direct solder',
  'feeder clamp',
  'trunk seizing',
  'compression',
] as const;

export type MethodName = (typeof methodNames)[number];
