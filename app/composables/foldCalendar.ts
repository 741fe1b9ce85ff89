const MOST_OCTETS = 75

/** Lines of at most 75 octets (RFC 5545, 3.1). The package counts characters, and a quotation mark is three octets. */
export function foldCalendar(text: string): string {
  const octets = new TextEncoder()
  return text
    .replace(/\r?\n[ \t]/g, '')
    .split(/\r?\n/)
    .map(line => {
      const parts: string[] = []
      let part = ''
      let length = 0
      for (const character of line) {
        const size = octets.encode(character).length
        if (length + size > MOST_OCTETS) {
          parts.push(part)
          part = ' '
          length = 1
        }
        part += character
        length += size
      }
      return [...parts, part].join('\r\n')
    })
    .join('\r\n')
}
