package lumko.app.account;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.util.UUID;
import lumko.app.platform.EditableRow;

@Entity
@Table(name = "person")
final class PersonRow extends EditableRow {
    String login = "";
    String name = "";
    String passwordHash = "";

    @Enumerated(EnumType.STRING)
    Role role = Role.PAINTER;

    boolean active = true;

    /** Whether the password was given by somebody else and is good for nothing but choosing an own one. */
    boolean passwordOnce;

    protected PersonRow() {}

    PersonRow(UUID id, String login, String name, String passwordHash, Role role) {
        super(id);
        this.login = login;
        this.name = name;
        this.passwordHash = passwordHash;
        this.role = role;
    }
}
