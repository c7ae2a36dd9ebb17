-- Failures to sign in, by name and by address, before anybody is known to belong anywhere.
create table sign_in_failure (
    key text primary key check (length(key) between 1 and 200),
    failures int not null check (failures > 0),
    last_at timestamptz not null
);

-- Nobody signs in with an empty password.
update person set password_hash = '{none}' where password_hash = '{noop}';
