import { createContext, type ReactNode, use } from 'react'

/** What whoever sits here may do in the part of the desk around it. */
export interface AreaRights {
  readonly act: boolean
  readonly change: boolean
}

const Around = createContext<AreaRights>({ act: true, change: true })

/** Around what belongs to one area of the desk. */
export const AreaRightsProvider = Around

export const useAreaRights = (): AreaRights => use(Around)

interface IfMayProps {
  /** How far one must be able to go for what is within. */
  readonly level?: keyof AreaRights
  readonly children: ReactNode
}

/** What may not be done is not seen. */
export const IfMay = ({ level = 'change', children }: IfMayProps) => useAreaRights()[level] && children
