import { toDataURL } from 'qrcode';

/** A QR code of a text as a PNG in a data URL. ISO/IEC 18004, level M: about a seventh of it may be smudged. */
export const qrCode = (text: string): Promise<string> => toDataURL(text, { errorCorrectionLevel: 'M', margin: 1, scale: 6 });
