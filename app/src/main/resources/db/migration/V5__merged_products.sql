-- a product entered twice, as with colours: the one points at the other, so that nothing recorded with it is lost
alter table product
  add column merged_into uuid,
  add constraint product_not_merged_into_itself check (merged_into <> id),
  add constraint product_merged_into_fkey foreign key (organisation_id, merged_into) references product (organisation_id, id)
    deferrable;
-- rows that point at others of their table can be taken in in any order
alter table product alter constraint product_organisation_id_substitute_id_fkey deferrable;
alter table colour alter constraint colour_organisation_id_merged_into_fkey deferrable;
