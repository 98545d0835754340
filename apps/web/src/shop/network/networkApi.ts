import { networkSchema, type Network } from '@lone-heron/contract';
import { heronApi } from '../../shared/api/heronApi.js';

const networkApi = heronApi.injectEndpoints({
  endpoints: (build) => ({
    network: build.query<Network, undefined>({ query: () => 'network', responseSchema: networkSchema }),
  }),
});

export const { useNetworkQuery } = networkApi;
