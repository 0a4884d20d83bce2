package venue.store.database;

import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import venue.store.backup.BackupFile;

/** What is wrong with the file of a database, in one line, with what can be read of it all the same. */
public final class Damage {

    private Damage() {}

    /**
     * Looks at the database of a folder, which is not changed; empty where all is well, or none is there.
     *
     * @param thorough whether its indexes are held against its rows too, which takes several times as long
     */
    public static Optional<String> of(Path folder, boolean thorough) {
        Path file = folder.resolve(BackupFile.DATABASE);
        if (Files.notExists(file)) {
            return Optional.empty();
        }
        try (Connection to = DriverManager.getConnection("jdbc:sqlite:" + file)) {
            String found = found(to, thorough);
            return found.equals("ok") ? Optional.empty() : Optional.of(told(file, found, to));
        } catch (SQLException unreadable) {
            return Optional.of(file + " is damaged: " + line(unreadable) + " Nothing of it can be read.");
        }
    }

    private static String found(Connection to, boolean thorough) {
        try (Statement asked = to.createStatement();
                ResultSet row = asked.executeQuery(thorough ? "pragma integrity_check(1)" : "pragma quick_check(1)")) {
            return row.next() ? line(row.getString(1)) : "it says nothing";
        } catch (SQLException e) {
            return line(e);
        }
    }

    private static String told(Path file, String found, Connection to) throws SQLException {
        List<String> readable = new ArrayList<>();
        List<String> lost = new ArrayList<>();
        try (Statement asked = to.createStatement();
                ResultSet row = asked.executeQuery(
                        "select name from sqlite_master where type = 'table' and name not like 'sqlite_%' order by name")) {
            while (row.next()) {
                (isReadable(to, row.getString(1)) ? readable : lost).add(row.getString(1));
            }
        }
        return file + " is damaged: " + found + ". Whole: " + listed(readable) + "; not whole: " + listed(lost) + ".";
    }

    /** Every row of it is read to its end. */
    private static boolean isReadable(Connection to, String table) {
        try (Statement asked = to.createStatement();
                ResultSet row = asked.executeQuery("select * from \"" + table + "\"")) {
            int columns = row.getMetaData().getColumnCount();
            while (row.next()) {
                row.getBytes(columns);
            }
            return true;
        } catch (SQLException e) {
            return false;
        }
    }

    private static String listed(List<String> names) {
        return names.isEmpty() ? "nothing" : String.join(", ", names);
    }

    private static String line(SQLException e) {
        return line(String.valueOf(e.getMessage())) + ".";
    }

    private static String line(String words) {
        return words.replaceAll("\\s*[\\r\\n]+\\s*", " ").strip();
    }
}
