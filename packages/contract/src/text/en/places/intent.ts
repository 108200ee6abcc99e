import type { UnmetReason } from '@jovrin/core'

export const intentWords = {
  layout: 'Layout',
  layoutWhy: 'What the tank shall look like; checks and overlays follow it.',
  pace: 'Pace',
  paceWhy: 'Fast grows and is trimmed often; quiet changes little from month to month.',
  money: 'Money to begin with',
  views: 'Seen from',
  wishes: 'Wishes',
  what: 'What you want',
  levels: 'Supply level',
  levelsHint:
    'The same tank at three levels of light, carbon and feed. Upkeep and cost are of a settled tank; the first weeks ask for more.',
  head: ['Level', 'Light on the ground', 'Upkeep a week', 'Running a month', 'Asks of you'],
  difficulty: ['', 'little', 'some', 'much'],
  sayFirst: 'Say a pace, your hours or a wish, and the level that suits it is marked.',
  unmet: {
    lamp: (wish: string) => `Not at any level: ${wish}. The lamps of the plan are too weak for it; plan a stronger one, or lower them.`,
    pace: (wish: string) => `Not at this pace: ${wish}. It needs a faster level; let the pace go, or the wish.`,
    hours: (wish: string) => `Not within your hours: ${wish}. The level that brings it asks for more.`,
  } satisfies Record<UnmetReason, (wish: string) => string>,
  proposed: 'suits what you said',
  proposedForRest: 'suits the rest of what you said',
  lowered: 'A faster level would ask for more hours than you have.',
  take: (level: string) => `Plan the ${level} level`,
  yardstick: (have: string, need: string) => `You said ${have} a week; this plan asks for ${need}.`,
  noYardstick: (need: string) => `This plan asks for ${need} a week.`,
  budget: 'How a sum is usually spread',
  budgetHint:
    'Rule of thumb, each part ± a half of itself. Own prices stand on the shopping sheet. If in doubt start small: a small tank costs less, and mends sooner.',
  budgetHead: ['Part', 'Share', 'Of your sum', 'Your list'],
  description: (name: string) => `${name}, front and side to scale`,
} as const
