const s=["sown","plugs","planted"],e=["season over","harvested","died","moved"];export{e as E,s as H};
