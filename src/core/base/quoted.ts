/** What somebody typed, in quotation marks; marks they typed around it themselves are not set twice. */
export const quoted = (text: string): string => `“${text.trim().replace(/^["“”'‘’„«»]+|["“”'‘’„«»]+$/g, '')}”`;
