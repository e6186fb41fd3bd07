const e={indoors:"Indoors",shade:"Sheltered shade",open:"In the open",windy:"Windy, or on hot paving"};export{e};
