/** Whether a part lies alike, however it was typed: "Front lying flat " is "front lying flat". */
export function samePose(one: string, other: string): boolean {
  const plain = (pose: string) => pose.trim().toLowerCase().replace(/\s+/g, ' ');
  return plain(one) === plain(other);
}
