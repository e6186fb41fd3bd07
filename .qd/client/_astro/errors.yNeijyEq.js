class t extends Error{constructor(r,o,s={}){super(o),this.code=r,this.details=s}name="DomainError"}export{t as D};
