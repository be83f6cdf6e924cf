import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { applyChosenTheme } from '../parts/theme.ts'
import { ClaimPage } from './ClaimPage.tsx'
import '../styles/app.css'

applyChosenTheme()
createRoot(document.getElementById('app') as HTMLElement).render(
  <StrictMode>
    <ClaimPage />
  </StrictMode>,
)
