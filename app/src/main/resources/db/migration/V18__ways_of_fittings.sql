-- one fitting may be got out of the way otherwise than the house does it: an old blind stays where it is
alter table wall_feature
    add column way varchar(16) check (way in ('REMOVE', 'LOOSEN', 'MASK', 'LEAVE_AND_SCRAPE')),
    add constraint wall_feature_way_check1 check (way is null or kind not in ('DOOR', 'WINDOW', 'PASSAGE', 'STRIPS'));
