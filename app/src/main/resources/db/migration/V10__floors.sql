-- What lies on the floor of a room while one paints: carpet wants a wide knife or paper, and more care at the skirting.
alter table room add column floor varchar(15) not null default 'HARD' check (floor in ('HARD', 'CARPET', 'NOT_LAID_YET'));
alter table room alter column floor drop default;
