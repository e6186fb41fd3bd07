const s="_progress_81qv5_1",r="_label_81qv5_8",_="_bar_81qv5_12",e={progress:s,label:r,bar:_};export{e as s};
