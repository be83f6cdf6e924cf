export { endWhatGoesOn } from './rest.ts'
export { type ChannelParts, channelRoutes } from './routes.ts'
export { settleChannels } from './settle.ts'
export { tellState } from './state.ts'
