// The package publishes no types for the storage that its decorators fill.
declare module 'class-transformer/cjs/storage.js' {
  export const defaultMetadataStorage: import('class-transformer/types/MetadataStorage').MetadataStorage;
}
