package gurukram.web.passkey;

import gurukram.web.shared.Teacher;
import java.nio.ByteBuffer;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.sql.Types;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.security.web.webauthn.api.AuthenticatorTransport;
import org.springframework.security.web.webauthn.api.Bytes;
import org.springframework.security.web.webauthn.api.CredentialRecord;
import org.springframework.security.web.webauthn.api.ImmutableCredentialRecord;
import org.springframework.security.web.webauthn.api.ImmutablePublicKeyCose;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialType;
import org.springframework.security.web.webauthn.management.UserCredentialRepository;
import org.springframework.stereotype.Repository;

/** Passkeys of teachers. To a device a teacher is her id, and nothing else. */
@Repository
class PasskeyStore implements UserCredentialRepository {
    private static final String BY_ID = "select * from passkey where credential_id = :id";
    private static final String OF =
            "select * from passkey where studio_id = :studio and teacher_id = :teacher order by made_at";
    private static final String OF_HANDLE = """
            select p.* from passkey p join teacher t on t.studio_id = p.studio_id and t.id = p.teacher_id
             where t.id = :teacher""";
    private static final String NEW = """
            insert into passkey (studio_id, teacher_id, credential_id, label, public_key, sign_count, verifies, transports,
                                 backup_eligible, backed_up, attestation, client_data, made_at, used_at)
            select t.studio_id, t.id, :id, :label, :key, :count, :verifies, :transports, :eligible, :backed, :attestation, :data, :made, :used
              from teacher t where t.id = :teacher
            on conflict (credential_id) do update set sign_count = excluded.sign_count, backed_up = excluded.backed_up,
                                                      verifies = excluded.verifies, used_at = excluded.used_at
             where passkey.teacher_id = excluded.teacher_id""";
    private static final String AWAY =
            "delete from passkey where studio_id = :studio and teacher_id = :teacher and credential_id = :id";
    private static final String ASKED = "insert into passkey_ask (challenge, made_at) values (:challenge, :now)";
    private static final String FORGET = "delete from passkey_ask where made_at < :old";
    private static final String TAKE = "delete from passkey_ask where challenge = :challenge and made_at >= :old";
    private static final Duration HOLDS = Duration.ofMinutes(5);
    private static final String TEACHER = "select email from teacher where id = :id";

    private final JdbcClient jdbc;
    private final Clock clock;

    PasskeyStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    private Timestamp old() {
        return Timestamp.from(clock.instant().minus(HOLDS));
    }

    void asked(Bytes challenge) {
        jdbc.sql(FORGET).param("old", old()).update();
        jdbc.sql(ASKED)
                .param("challenge", challenge.getBytes(), Types.BINARY)
                .param("now", Timestamp.from(clock.instant()))
                .update();
    }

    /** Whether it was asked within five minutes, by whichever copy of the app, and not answered yet. */
    boolean takes(Bytes challenge) {
        return jdbc.sql(TAKE)
                        .param("challenge", challenge.getBytes(), Types.BINARY)
                        .param("old", old())
                        .update()
                == 1;
    }

    /** Sixteen bytes of an id. */
    static Bytes handle(UUID teacher) {
        return new Bytes(ByteBuffer.allocate(16)
                .putLong(teacher.getMostSignificantBits())
                .putLong(teacher.getLeastSignificantBits())
                .array());
    }

    /** Empty where it is no id. */
    static Optional<UUID> teacher(Bytes handle) {
        if (handle.getBytes().length != 16) return Optional.empty();
        ByteBuffer bytes = ByteBuffer.wrap(handle.getBytes());
        return Optional.of(new UUID(bytes.getLong(), bytes.getLong()));
    }

    Optional<String> email(UUID teacher) {
        return jdbc.sql(TEACHER).param("id", teacher).query(String.class).optional();
    }

    List<CredentialRecord> of(Teacher teacher) {
        return jdbc.sql(OF)
                .param("studio", teacher.studio())
                .param("teacher", teacher.id())
                .query(PasskeyStore::record)
                .list();
    }

    /** @param id in hex; false when she has no such key */
    boolean away(Teacher teacher, String id) {
        return jdbc.sql(AWAY)
                        .param("studio", teacher.studio())
                        .param("teacher", teacher.id())
                        .param("id", HexFormat.of().parseHex(id), Types.BINARY)
                        .update()
                == 1;
    }

    @Override
    public CredentialRecord findByCredentialId(Bytes id) {
        return jdbc.sql(BY_ID)
                .param("id", id.getBytes(), Types.BINARY)
                .query(PasskeyStore::record)
                .optional()
                .orElse(null);
    }

    @Override
    public List<CredentialRecord> findByUserId(Bytes handle) {
        return teacher(handle)
                .map(id -> jdbc.sql(OF_HANDLE)
                        .param("teacher", id)
                        .query(PasskeyStore::record)
                        .list())
                .orElse(List.of());
    }

    @Override
    public void save(CredentialRecord record) {
        jdbc.sql(NEW)
                .param("teacher", teacher(record.getUserEntityUserId()).orElseThrow())
                .param("id", record.getCredentialId().getBytes(), Types.BINARY)
                .param("label", record.getLabel())
                .param("key", record.getPublicKey().getBytes(), Types.BINARY)
                .param("count", record.getSignatureCount())
                .param("verifies", record.isUvInitialized())
                .param(
                        "transports",
                        record.getTransports().stream()
                                .map(AuthenticatorTransport::getValue)
                                .collect(Collectors.joining(",")))
                .param("eligible", record.isBackupEligible())
                .param("backed", record.isBackupState())
                .param("attestation", record.getAttestationObject().getBytes(), Types.BINARY)
                .param("data", record.getAttestationClientDataJSON().getBytes(), Types.BINARY)
                .param("made", Timestamp.from(record.getCreated()))
                .param("used", Timestamp.from(record.getLastUsed()))
                .update();
    }

    @Override
    public void delete(Bytes id) {
        throw new UnsupportedOperationException("a key is taken away by whose it is");
    }

    private static CredentialRecord record(ResultSet row, int n) throws SQLException {
        Set<AuthenticatorTransport> transports = Arrays.stream(
                        row.getString("transports").split(","))
                .filter(one -> !one.isBlank())
                .map(AuthenticatorTransport::valueOf)
                .collect(Collectors.toSet());
        Instant made = row.getTimestamp("made_at").toInstant();
        return ImmutableCredentialRecord.builder()
                .credentialType(PublicKeyCredentialType.PUBLIC_KEY)
                .credentialId(new Bytes(row.getBytes("credential_id")))
                .userEntityUserId(handle(row.getObject("teacher_id", UUID.class)))
                .publicKey(new ImmutablePublicKeyCose(row.getBytes("public_key")))
                .signatureCount(row.getLong("sign_count"))
                .uvInitialized(row.getBoolean("verifies"))
                .transports(transports)
                .backupEligible(row.getBoolean("backup_eligible"))
                .backupState(row.getBoolean("backed_up"))
                .attestationObject(new Bytes(row.getBytes("attestation")))
                .attestationClientDataJSON(new Bytes(row.getBytes("client_data")))
                .label(row.getString("label"))
                .created(made)
                .lastUsed(row.getTimestamp("used_at").toInstant())
                .build();
    }
}
