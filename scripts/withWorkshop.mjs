// Imported first by what is made from the build with the workshop: tests and pictures.
process.env.INNINGS_WORKSHOP = '1'
