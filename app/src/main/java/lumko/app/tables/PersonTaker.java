package lumko.app.tables;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import lumko.app.account.People;
import lumko.app.account.Role;
import lumko.app.history.EventKind;
import lumko.app.history.History;
import lumko.app.history.Subject;
import lumko.app.house.House;
import lumko.app.house.Houses;
import lumko.app.platform.Form;
import lumko.app.platform.Plain;
import lumko.app.platform.Speaker;
import org.springframework.stereotype.Component;

/** People with the houses they look after. They get in once the lead has given them a password. */
@Component
class PersonTaker implements Taker {
    private final People people;
    private final Houses houses;
    private final History history;
    private final Speaker speaker;

    PersonTaker(People people, Houses houses, History history, Speaker speaker) {
        this.people = people;
        this.houses = houses;
        this.history = history;
        this.speaker = speaker;
    }

    @Override
    public TableKind kind() {
        return TableKind.PEOPLE;
    }

    @Override
    public void undo(Done done) {
        people.all().stream()
                .filter(each -> each.id().equals(done.id()) && each.active())
                .forEach(each -> {
                    people.change(each.id(), each.name(), each.role(), false, each.version());
                    history.note(Subject.organisation(), EventKind.PERSON_LEFT, each.name());
                });
    }

    @Override
    public Run begin(List<Done> done) {
        List<House> all = houses.all();
        return row -> take(row, all, done);
    }

    private Outcome take(Form row, List<House> all, List<Done> done) {
        String name = row.text("name", 120);
        String login = row.text("login", 80);
        if (!login.isEmpty() && people.isTaken(login)) {
            boolean isOurs = people.all().stream().anyMatch(each -> each.login().equalsIgnoreCase(login));
            if (isOurs) {
                return new Outcome(Result.THERE, name);
            }
            row.refuse("login", speaker.words().say("refused.taken", login));
        }
        Role role = row.called("role", Role.class, Role.PAINTER);
        List<UUID> looksAfter = houses(row, all);
        if (row.hasErrors()) {
            return Outcome.refused();
        }
        UUID id = people.add(name, login, role);
        people.lookAfter(id, Set.copyOf(looksAfter));
        history.note(Subject.organisation(), EventKind.PERSON_ADDED, name);
        done.add(Done.made(What.PERSON, id));
        return new Outcome(Result.MADE, name);
    }

    private List<UUID> houses(Form row, List<House> all) {
        List<UUID> found = new ArrayList<>();
        for (String named : row.typed("houses").split("[;,]")) {
            if (!named.isBlank()) {
                Optional<House> house = all.stream()
                        .filter(each -> each.name().equalsIgnoreCase(named.strip()))
                        .findFirst();
                house.ifPresentOrElse(
                        each -> found.add(each.id()),
                        () -> row.refuse(
                                "houses", speaker.words().say("refused.noHouse", Plain.quoted(named.strip()))));
            }
        }
        return found;
    }
}
