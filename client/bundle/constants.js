/** What the router asks of the app's settings: no page that lists all others. */
export default { expoConfig: { extra: { router: { sitemap: false } } } };
