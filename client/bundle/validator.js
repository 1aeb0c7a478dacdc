/**
 * The parts of class-validator that contracts in core use. Its one entry brings every check there is, telephone numbers of
 * all countries among them: 130 kB on the way to every phone. Taken from its CommonJS files: the ES ones fail at run time.
 */
export { ValidateIf } from 'class-validator/cjs/decorator/common/ValidateIf';
export { isBase64 } from 'class-validator/cjs/decorator/string/IsBase64';
export { isISO8601 } from 'class-validator/cjs/decorator/string/IsISO8601';
export { isUUID } from 'class-validator/cjs/decorator/string/IsUUID';
export { getMetadataStorage } from 'class-validator/cjs/metadata/MetadataStorage';
export { registerDecorator } from 'class-validator/cjs/register-decorator';
