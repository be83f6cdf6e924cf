import { readSetting, type Setting, writeSetting } from '../settings/index.ts'
import { type Handler, ok } from '../world/index.ts'

/** Whether the bot speaks in chat. Muted, it goes on working; its answers show on the desk only. */
export interface Voice {
  readonly muted: boolean
}

export const voiceSetting: Setting<Voice> = { name: 'voice', initial: { muted: false } }

export interface ChangeVoice {
  readonly kind: 'chat.voice'
  readonly muted: boolean
}

export interface TestVoice {
  readonly kind: 'chat.test'
}

/** Lets the bot say a line in the room, so that the streamer sees that it can. */
export const testVoice: Handler<TestVoice> = {
  decide(world) {
    const { muted } = readSetting(world, voiceSetting)
    world.fact('chat.replied', 'desk', { to: null, text: 'A test from the desk: the bot is here and can speak.' })
    return ok({ muted })
  },
}

export const changeVoice: Handler<ChangeVoice> = {
  decide(world, intent) {
    writeSetting(world, voiceSetting, { muted: intent.muted })
    world.fact('chat.voice', 'desk', { muted: intent.muted })
    return ok({ muted: intent.muted })
  },
}
