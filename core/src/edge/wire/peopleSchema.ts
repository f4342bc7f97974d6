import { ROLES } from './api'
import { exact, needs, oneOf, orNull, text } from './fields'

/** Length does more than odd signs (NIST SP 800-63B; OWASP ASVS 2.1.1 asks for 12). */
const LEAST_PASSWORD = 12
const password = () => text(200).min(LEAST_PASSWORD, needs('text_at_least', { least: LEAST_PASSWORD }))
const device = () => text(120)

/** Forms of signing in, and of the people of the contractor. */
export const signInSchema = exact({ name: text(), password: text(), device: device() })
export const signInCodeSchema = exact({ code: text(60), device: device() })
export const firstSignInSchema = exact({ code: text(60), name: text(), password: password(), device: device() })
export const personSchema = exact({ name: text(), role: oneOf(ROLES), password: orNull(password()) })
export const passwordSchema = exact({ password: password() })
