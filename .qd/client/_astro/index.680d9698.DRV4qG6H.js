const e="_file_185fn_86",s={file:e,package:"_package_185fn_91"};export{s};
