import { lazily } from '../parts/lazily.tsx'

// The forms that open over a list, with their texts, checks and trials: the list is there without them.
export const RewardPanel = lazily(async () => (await import('./store/RewardPanel.tsx')).RewardPanel)
export const CommandPanel = lazily(async () => (await import('./commands/CommandPanel.tsx')).CommandPanel)
export const TriggerPanel = lazily(async () => (await import('./triggers/TriggerPanel.tsx')).TriggerPanel)
export const GamePanel = lazily(async () => (await import('./games/GamePanel.tsx')).GamePanel)
