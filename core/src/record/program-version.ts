import manifest from '../../package.json' with { type: 'json' };

/** The version of this program, which plans name that are frozen with it: that of its package. */
export const programVersion = manifest.version;
