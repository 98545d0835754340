/** Something that keeps the server from starting, told in one line. */
export class StartFault extends Error {
  override readonly name = 'StartFault';
}
