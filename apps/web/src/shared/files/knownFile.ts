const megabyte = 1024 * 1024;

/** A file by its ending, or why it is not read. */
export type KnownFile<Format extends string> = { readonly format: Format } | { readonly fault: string };

/** Which of the formats a file is of by its name, and whether it is small enough to be read. */
export function knownFile<Format extends string>(
  { name, size }: Pick<File, 'name' | 'size'>,
  largest: Readonly<Record<Format, number>>,
): KnownFile<Format> {
  const formats = Object.keys(largest) as Format[];
  const format = formats.find((each) => name.toLowerCase().endsWith(`.${each}`));
  if (format === undefined) {
    const endings = formats.map((each) => `.${each}`);
    const last = endings.pop() ?? '';
    return {
      fault: `${name} is read as no format; allowed is a name that ends in ${endings.join(', ')} or ${last}.`,
    };
  }
  if (size <= largest[format]) return { format };
  return {
    fault: `${name} has ${Math.ceil(size / megabyte)} MB; up to ${largest[format] / megabyte} MB is read.`,
  };
}
