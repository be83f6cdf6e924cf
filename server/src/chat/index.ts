export { parseChatAddress } from './address.ts'
export { ChatConnector, type ChatState, type ConnectorOptions } from './connector.ts'
export { ChatSeat } from './seat.ts'
