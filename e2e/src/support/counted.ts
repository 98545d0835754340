/** What the shop holds just now: tests count it, so that none goes by how much the sample was made with. */

/** The number of the newest coupon, and how many there are. */
export async function countedCoupons(url: string): Promise<{ newest: number; total: number }> {
  const { coupons, total } = (await (await fetch(`${url}/api/coupons?limit=1`)).json()) as {
    coupons: { number: number }[];
    total: number;
  };
  return { newest: coupons[0]?.number ?? 0, total };
}

/** The number of the window that is fitted on a machine. */
export async function fittedWindow(url: string, machineId: string): Promise<number> {
  const windows = (await (await fetch(`${url}/api/windows`)).json()) as {
    machineId: string;
    number: number;
  }[];
  const fitted = windows.find((each) => each.machineId === machineId);
  if (fitted === undefined) throw new Error(`no window is fitted on ${machineId}`);
  return fitted.number;
}
