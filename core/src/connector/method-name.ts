/** Every way that an end is put on a cable. */
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
  'solder cup',
  'solder lugs',
  'low-profile jack',
  'speaker clamp',
  'set screw',
  'crimp lug',
  'terminal clamp',
  'modular crimp',
  'bare end',
] as const;

export type MethodName = (typeof methodNames)[number];
