export { isInside, isOpen, NotOpen, openLookup } from './places.ts'
