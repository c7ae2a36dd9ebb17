# Lumko in a container, beside a PostgreSQL of one's own. Written with care, not built where it was written: see docs/running.md.
FROM debian:trixie-slim AS build
RUN apt-get update && apt-get install -y --no-install-recommends openjdk-21-jdk-headless maven nodejs npm \
    && rm -rf /var/lib/apt/lists/*
WORKDIR /src
COPY . .
RUN mvn -q -B -ntp -DskipTests -Dspotless.check.skip package \
    && java -Djarmode=tools -jar app/target/lumko.jar extract --destination /lumko

FROM debian:trixie-slim
# pg_dump and pg_restore write and check the daily backups
RUN apt-get update && apt-get install -y --no-install-recommends openjdk-21-jre-headless postgresql-client \
    && rm -rf /var/lib/apt/lists/* && useradd --system --create-home lumko && install -d -o lumko /backups
COPY --from=build /lumko /lumko
USER lumko
WORKDIR /lumko
VOLUME /backups
EXPOSE 8080
ENTRYPOINT ["java", "-XX:+UseSerialGC", "-XX:MaxRAMPercentage=75", "-jar", "lumko.jar", "--server.address=0.0.0.0", \
    "--lumko.backup.folder=/backups"]
