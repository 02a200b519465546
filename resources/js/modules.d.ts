declare module "*.css";
declare module "@fontsource-variable/*";
