import type { ControlMust } from '../../../core/trials'

/** What to change before a run that was void is run again. */
export const rerun = {
  why: (name: string, reached: string, must: string) =>
    `${name} was void: its control came to ${reached}, and ${must} were asked of it. Before it is run again:`,
  change: {
    germination: [
      'Try ten seeds of the packet on damp paper first: too few of them up, and the packet is the reason.',
      'Keep the trays as warm as the crop wants, sow no deeper than its seed is thick twice over, and never let them dry.',
      'If paper and warmth were right, the mix of the control is not sound: take another one you trust.',
    ],
    survival: [
      'Look at what killed them (the list below says what was written down): net them, move them, water by weight.',
      'Take plants that are rooted through, and two pots of each more than you think you need.',
    ],
    vigour: [
      'The control was starved, cold or wet: put that right for all pots alike, and begin with a mix you know.',
    ],
    weeds: [
      'Too little came up in the untreated mix: take mix that was seen to be weedy, keep it damp and warm, and wait four weeks.',
    ],
  } satisfies Record<ControlMust, readonly string[]>,
} as const
