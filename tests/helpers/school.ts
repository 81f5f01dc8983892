import { schools } from '../../data'

export const school = (id: string) => {
  const found = schools.find((one) => one.id === id)
  if (!found) throw new Error(`no school ${id}`)
  return found
}
