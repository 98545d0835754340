/** Where the server’s own broker listens, once a machine comes to it. */
export abstract class TelemetryPlan {
  abstract readonly host: string;
  /** 0 for any that is free. */
  abstract readonly port: number;
}
