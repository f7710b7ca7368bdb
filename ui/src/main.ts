import { fetchWords } from './words'
import './theme.css'

await fetchWords()
const { start } = await import('./start')
start()
