import type { PDFImage } from 'pdf-lib';
import { PDFDocument } from 'pdf-lib';

/** A picture of a data URL, PNG or JPEG, put into a document. @throws where it is damaged. */
export const embedPicture = (document: PDFDocument, picture: string): Promise<PDFImage> =>
  picture.startsWith('data:image/png') ? document.embedPng(picture) : document.embedJpg(picture);

/** Whether a picture can be put into a document at all: its first bytes do not tell. */
export async function canBePrinted(picture: string): Promise<boolean> {
  const document = await PDFDocument.create();
  try {
    await embedPicture(document, picture);
    await document.save();
    return true;
  } catch {
    return false;
  }
}
