/** Styles are built by the bundler; a script only asks for them. */
declare module '*.css';
