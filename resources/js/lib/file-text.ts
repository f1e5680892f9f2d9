/** What stands in a file, its byte-order mark included: File.text() drops it unseen. Bytes that are no UTF-8 become U+FFFD. */
export async function fileText(file: File): Promise<string> {
  return new TextDecoder('utf-8', { ignoreBOM: true }).decode(await file.arrayBuffer());
}
