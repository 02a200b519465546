# Eskith in a container, for whoever runs one: docker build -f Containerfile . or podman build .
# Made by the same steps as bin/serve (bin/setup.sh); tests/Core/WorkshopTest.php keeps the two in step.
FROM docker.io/library/debian:12-slim
RUN apt-get update -qq && DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends \
        ca-certificates procps composer nodejs npm \
        php8.2-cli php8.2-sqlite3 php8.2-curl php8.2-zip php8.2-gd php8.2-mbstring php8.2-xml php8.2-intl php8.2-apcu \
    && rm -rf /var/lib/apt/lists/*
WORKDIR /srv/eskith
COPY . .
ENV COMPOSER_ALLOW_SUPERUSER=1 COMPOSER_NO_INTERACTION=1
RUN composer install --no-progress --prefer-dist && npm ci && npm run build
VOLUME /srv/eskith/storage
ENV HOST=0.0.0.0
EXPOSE 8000
CMD ["bin/serve"]
