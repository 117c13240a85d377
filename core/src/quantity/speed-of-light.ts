/** Speed of light in vacuum, metres per second, exact (SI). */
export const speedOfLight = 299_792_458;
