/**
 * The parts of class-validator that contracts in core use. Its one entry brings every check there is, telephone numbers of
 * all countries among them, and Metro leaves none of it out: 130 kB on the way to every phone.
 */
module.exports = {
  ValidateIf: require('class-validator/cjs/decorator/common/ValidateIf').ValidateIf,
  isBase64: require('class-validator/cjs/decorator/string/IsBase64').isBase64,
  isISO8601: require('class-validator/cjs/decorator/string/IsISO8601').isISO8601,
  isUUID: require('class-validator/cjs/decorator/string/IsUUID').isUUID,
  getMetadataStorage: require('class-validator/cjs/metadata/MetadataStorage').getMetadataStorage,
  registerDecorator: require('class-validator/cjs/register-decorator').registerDecorator,
};
