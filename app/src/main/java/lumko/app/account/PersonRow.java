package lumko.app.account;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.util.UUID;
import lumko.app.platform.EditableRow;

@Entity
@Table(name = "person")
class PersonRow extends EditableRow {
    String login = "";
    String name = "";
    String passwordHash = "";

    @Enumerated(EnumType.STRING)
    Role role = Role.PAINTER;

    boolean active = true;

    protected PersonRow() {}

    PersonRow(UUID id, String login, String name, String passwordHash, Role role) {
        super(id);
        this.login = login;
        this.name = name;
        this.passwordHash = passwordHash;
        this.role = role;
    }
}
