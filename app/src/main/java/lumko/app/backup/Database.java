package lumko.app.backup;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Where a database is and who gets in.
 *
 * @param name as in {@code jdbc:postgresql://host:port/name}
 */
record Database(String host, int port, String name, String user, String password) {
    private static final Pattern URL = Pattern.compile("jdbc:postgresql://([^:/?]+)(?::(\\d+))?/([\\w-]+)(?:\\?.*)?");
    private static final int USUAL_PORT = 5432;

    static Database of(String url, String user, String password) {
        Matcher parts = URL.matcher(url);
        if (!parts.matches()) {
            throw new IllegalArgumentException("a database is given as jdbc:postgresql://host:port/name, was " + url);
        }
        int port = parts.group(2) == null ? USUAL_PORT : Integer.parseInt(parts.group(2));
        return new Database(parts.group(1), port, parts.group(3), user, password);
    }

    Database named(String other) {
        return new Database(host, port, other, user, password);
    }

    Connection connect() throws SQLException {
        return DriverManager.getConnection("jdbc:postgresql://" + host + ":" + port + "/" + name, user, password);
    }

    /** Does something to the cluster, not in this database. */
    void inCluster(String... statements) throws SQLException {
        try (Connection connection = named("postgres").connect();
                Statement cluster = connection.createStatement()) {
            for (String statement : statements) {
                cluster.execute(statement);
            }
        }
    }

    /** How many others are connected to it. */
    int others() throws SQLException {
        try (Connection connection = named("postgres").connect();
                var asked = connection.prepareStatement("select count(*) from pg_stat_activity where datname = ?")) {
            asked.setString(1, name);
            try (ResultSet count = asked.executeQuery()) {
                count.next();
                return count.getInt(1);
            }
        }
    }

    static List<String> strings(Connection connection, String query) throws SQLException {
        List<String> found = new ArrayList<>();
        try (Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery(query)) {
            while (rows.next()) {
                found.add(rows.getString(1));
            }
        }
        return found;
    }
}
