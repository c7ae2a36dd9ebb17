package lumko.app.account;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.NotNowException;
import lumko.app.platform.Plain;
import lumko.app.platform.ReferenceData;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The people of the signed-in organisation and the houses they look after; the lead says who they are. */
@Service
@Transactional
public class People {
    private static final int MOST_NAMES = 100_000;

    private final PersonRepository people;
    private final PersonHouseRepository houses;
    private final Accounts accounts;
    private final PasswordEncoder passwords;
    private final Access access;
    private final ReferenceData.Kept<Map<UUID, String>> names;

    People(
            PersonRepository people,
            PersonHouseRepository houses,
            Accounts accounts,
            PasswordEncoder passwords,
            Access access,
            ReferenceData referenceData) {
        this.people = people;
        this.houses = houses;
        this.accounts = accounts;
        this.passwords = passwords;
        this.access = access;
        names = referenceData.kept(this::readNames, Map::size, MOST_NAMES);
    }

    /** A person as shown to colleagues. */
    public record Colleague(
            UUID id, String name, String login, Role role, boolean active, Set<UUID> houses, int version) {}

    @Transactional(readOnly = true)
    public List<Colleague> all() {
        Map<UUID, Set<UUID>> byPerson = houses.findAll().stream()
                .collect(Collectors.groupingBy(
                        row -> row.personId, Collectors.mapping(row -> row.houseId, Collectors.toSet())));
        return people.findByOrderByName().stream()
                .map(row -> new Colleague(
                        row.id(),
                        row.name,
                        row.login,
                        row.role,
                        row.active,
                        byPerson.getOrDefault(row.id(), Set.of()),
                        row.version()))
                .toList();
    }

    /** A person by what they are called. */
    public record Named(String name, String login) {}

    /** People whose name or login has all the words. */
    @Transactional(readOnly = true)
    public List<Named> like(String typed) {
        return people.findByOrderByName().stream()
                .filter(row -> Plain.holds(typed, row.name, row.login))
                .map(row -> new Named(row.name, row.login))
                .toList();
    }

    @Transactional(readOnly = true)
    public Map<UUID, String> names() {
        return names.get();
    }

    private Map<UUID, String> readNames() {
        return people.findAll().stream().collect(Collectors.toMap(PersonRow::id, row -> row.name));
    }

    /** Whether a login is taken, in whatever organisation: logins are one namespace. */
    @Transactional(readOnly = true)
    public boolean isTaken(String login) {
        return accounts.find(login).isPresent();
    }

    public UUID add(String name, String login, String password, Role role) {
        access.requireLead();
        names.changes();
        PersonRow row = new PersonRow(UUID.randomUUID(), login, name, passwords.encode(password), role);
        return people.save(row).id();
    }

    /** A colleague who cannot sign in by password: entered otherwise, or not at all. */
    public UUID add(String name, String login, Role role) {
        access.requireLead();
        names.changes();
        return people.save(new PersonRow(UUID.randomUUID(), login, name, Accounts.NO_PASSWORD, role))
                .id();
    }

    /**
     * Says who somebody is and whether they work here; who does not is out at once, wherever they are signed in.
     *
     * @throws NotNowException if nobody would be left to lead
     */
    public void change(UUID personId, String name, Role role, boolean active, int seenVersion) {
        access.requireLead();
        PersonRow row = people.findById(personId).orElseThrow(NotFoundException::new);
        row.checkSeen(seenVersion);
        boolean stopsLeading = row.role == Role.LEAD && row.active && (role != Role.LEAD || !active);
        if (stopsLeading && people.countByRoleAndActive(Role.LEAD, true) == 1) {
            throw new NotNowException("denied.lastLead");
        }
        names.changes();
        row.name = name;
        row.role = role;
        row.active = active;
    }

    /**
     * Gives somebody a password that is good for choosing an own one; they are out wherever they are signed in.
     *
     * @return the password, which is kept nowhere
     */
    public String givePassword(UUID personId) {
        access.requireLead();
        PersonRow row = people.findById(personId).orElseThrow(NotFoundException::new);
        String given = Passwords.made();
        row.passwordHash = passwords.encode(given);
        row.passwordOnce = true;
        return given;
    }

    void choosePassword(UUID personId, String password) {
        PersonRow row = people.findById(personId).orElseThrow(NotFoundException::new);
        row.passwordHash = passwords.encode(password);
        row.passwordOnce = false;
    }

    /** Gives a person the houses to look after, in place of those before. */
    public void lookAfter(UUID personId, Set<UUID> houseIds) {
        access.requireLead();
        if (!people.existsById(personId)) {
            throw new NotFoundException();
        }
        List<PersonHouseRow> before = houses.findByPersonId(personId);
        houses.deleteAll(
                before.stream().filter(row -> !houseIds.contains(row.houseId)).toList());
        Set<UUID> has = before.stream().map(row -> row.houseId).collect(Collectors.toSet());
        houseIds.stream()
                .filter(houseId -> !has.contains(houseId))
                .forEach(houseId -> houses.save(new PersonHouseRow(personId, houseId)));
    }
}
