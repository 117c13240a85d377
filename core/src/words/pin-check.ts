/** What is said of a pin plan: what it does, and what to do about it. Ends and contacts by their names. */

export const nothingConnected =
  'Nothing is connected: drag a conductor on to a contact, or take the usual plan.';

export const deviceGone = (end: string) =>
  `The device of end ${end} is not in House: nothing says what its contacts mean. Take another, or none, in Choose, and hold the pin plan against what is printed on the device.`;

export const leadsNowhere = (where: string) =>
  `${where} leads nowhere: its core is on no contact at the other end.`;

const turnedOver = {
  speaker: 'Two loudspeakers of which one is turned cancel the bass.',
  lighting: 'Receivers read garbage or nothing.',
  other: 'Two signals of which one is turned cancel.',
} as const;

export const polarityTurned = (where: string, signal: string) =>
  `Polarity is turned over: ${where}. ${signal === 'speaker' || signal === 'lighting' ? turnedOver[signal] : turnedOver.other} Swap the two cores at one end.`;

export const rolesMeet = (where: string) => `What must stay apart meets: ${where}. Take one of them off.`;

export const onTwoContacts = (conductor: string, end: string, [first, second]: readonly [string, string]) =>
  `${conductor} is on two contacts of end ${end}: ${first} and ${second}. One core reaches one contact; take one off.`;

export const shieldOnShell = {
  lighting: (end: string) =>
    `The screen is on the shell at end ${end}: it goes to contact 1 only. On the shell it joins the building's earth to the data common, and the loop hums or burns.`,
  other: (end: string) =>
    `The shield is on the shell at end ${end}: it can make a loop through the chassis. Usual is contact 1 only.`,
} as const;

export const shieldMissing = {
  inCable: 'The cable has no shield: it picks up hum and interference on any length.',
  openAtOne: (end: string) =>
    `The shield is open at end ${end}: it breaks a hum loop; phantom power and unbalanced gear need it at both ends.`,
  notConnected: (end: string, carriesSignal: boolean) =>
    `The shield is not connected at end ${end}: there is no return${carriesSignal ? ' for the signal' : ''}, and it hums.`,
} as const;

export const splitPair = (plus: string, minus: string) =>
  `${plus} and ${minus} run on cores of different pairs: it tests through by continuity and fails in use. Move both on to one pair.`;

export const secondPairEmpty =
  'The second pair is left empty: it is part of the standard pinout, and testers look for it.';

export const fourPole = (end: string) =>
  `End ${end}: many 3.5 mm sockets have four poles, and their sleeve is a microphone. There a three-pole plug loses a channel or hums; look at the device.`;

export const phantomMet = (jacks: string, rounds: string) =>
  `End ${jacks} can meet phantom power (48 V) through end ${rounds}: it can harm an output that is not made for it. Switch phantom off at that input, and label the lead.`;

export const coldTied = (end: string, conductors: string) =>
  `Cold is tied to the shield at end ${end} (${conductors}): right for transformer outputs; some electronic outputs want it open. Ask the device's maker.`;

export const coldOpen = (end: string) =>
  `Cold is open at end ${end}: right for outputs that must not drive a short; a transformer output gives nothing then. Ask the device's maker.`;

export const stereoIntoBalanced = (ends: string) =>
  `Left and right meet a balanced contact pair at end ${ends}: the input takes their difference, and everything in the middle is lost. Sum them with resistors, or use two inputs.`;

export const channelColour = (end: string, channel: string, marker: string, usual: string) =>
  `End ${end} carries ${channel} and is marked ${marker}: ${usual} is usual for ${channel}.`;
