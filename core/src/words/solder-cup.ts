/** What is said at solder cups: made from names and figures alone. */

export const closeWords = ({ signal }: { readonly signal: string }) => ({
  firstTime: `Lay the insulating slip round the contacts. Slide the insert into the shell with its key in the keyway until it is home, push the chuck forward so that its jaws sit on the jacket and not on the cores, and screw the boot down until it is firm.${signal === 'lighting' ? ' Neither braid nor tail may reach the shell.' : ''}`,
  experienced: `Slip, key in the keyway, chuck on the jacket, boot down.${signal === 'lighting' ? ' Nothing near the shell.' : ''}`,
});

export const traitsWords = {
  because: 'strong, opens again, every contact can be mended',
};

/** What is usually behind an open or a short here. */
export const usualFaults = {
  open: 'a cold or dry cup, a core broken at the jacket edge, a core that pulled because the jacket slipped in the chuck',
  short: 'a stray strand or solder bridge between cups, a shield tail that touches the shell',
};
