/// <reference lib="webworker" />
import { clientsClaim } from 'workbox-core';
import { cleanupOutdatedCaches, matchPrecache, precacheAndRoute } from 'workbox-precaching';
import { NavigationRoute, registerRoute } from 'workbox-routing';

declare const self: ServiceWorkerGlobalScope;

/** The files of this build, put in when it is built. */
declare const FILES_OF_THE_BUILD: { url: string; revision: string | null }[];

/** So long a page may take to come over a poor connection before the one that is kept is shown, ms. */
const PATIENCE = 4000;

void self.skipWaiting();
clientsClaim();
cleanupOutdatedCaches();
precacheAndRoute(FILES_OF_THE_BUILD);

// Every address is the same page, which finds its own way; without a connection the kept one does as well.
registerRoute(
  new NavigationRoute(
    async ({ request }) => {
      const kept = async () => (await matchPrecache('/card')) ?? Response.error();
      const late = new Promise<Response>((resolve) => {
        setTimeout(() => void kept().then(resolve), PATIENCE);
      });
      try {
        return await Promise.race([fetch(request), late]);
      } catch {
        return kept();
      }
    },
    { denylist: [/^\/api\//, /^\/answers\//, /^\/up$/] },
  ),
);
