const s="_bar_tqbgh_1",c="_search_tqbgh_9",_="_columns_tqbgh_14",o="_choices_tqbgh_37",t="_pager_tqbgh_69",e={bar:s,search:c,columns:_,choices:o,pager:t};export{e as s};
