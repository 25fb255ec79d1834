/*
 * A disk that is full, or a machine that dies, at the n-th write below a folder. Loaded before the C library into the process that
 * FaultRun starts; see there.
 *
 * FAULT_DIR   writes to files below this folder count
 * FAULT_AT    at this one (from 1) it happens; 0 for never
 * FAULT_KIND  full: this write and all that need more room fail; kill: the process is gone before it;
 *             torn: half of it is written, then the process is gone
 * FAULT_COUNT the file in which the number of writes is left
 */
#define _GNU_SOURCE
#include <dlfcn.h>
#include <errno.h>
#include <fcntl.h>
#include <stdarg.h>
#include <stdio.h>
#include <stdlib.h>
#include <string.h>
#include <sys/sendfile.h>
#include <sys/types.h>
#include <unistd.h>

static long count;

static const char *dir(void) { return getenv("FAULT_DIR"); }

static int below(const char *path) {
    return dir() && path && strncmp(path, dir(), strlen(dir())) == 0;
}

static int ours(int fd) {
    char link[64], path[4096];
    snprintf(link, sizeof link, "/proc/self/fd/%d", fd);
    ssize_t length = readlink(link, path, sizeof path - 1);
    if (length < 0) return 0;
    path[length] = 0;
    return below(path);
}

static void leave(void) {
    const char *file = getenv("FAULT_COUNT");
    if (!file) return;
    int (*real)(const char *, int, ...) = dlsym(RTLD_NEXT, "open");
    ssize_t (*out)(int, const void *, size_t) = dlsym(RTLD_NEXT, "write");
    int fd = real(file, O_WRONLY | O_CREAT | O_TRUNC, 0644);
    char text[32];
    int length = snprintf(text, sizeof text, "%ld", count);
    out(fd, text, length);
    close(fd);
}

__attribute__((destructor)) static void finish(void) { leave(); }

/* 0: go on; 1: no room; 2: half of it, then gone */
static int fault(int needsRoom) {
    long now = __sync_add_and_fetch(&count, 1);
    const char *at = getenv("FAULT_AT"), *kind = getenv("FAULT_KIND");
    long wanted = at ? atol(at) : 0;
    if (wanted == 0 || now < wanted) return 0;
    if (!strcmp(kind, "full")) return needsRoom;
    if (now > wanted) return 0;
    if (!strcmp(kind, "torn") && needsRoom) return 2;
    leave();
    _exit(137);
}

#define REAL(type, name, ...) type (*real)(__VA_ARGS__) = dlsym(RTLD_NEXT, name)
#define FULL { errno = ENOSPC; return -1; }

ssize_t write(int fd, const void *data, size_t size) {
    REAL(ssize_t, "write", int, const void *, size_t);
    if (ours(fd)) switch (fault(1)) {
        case 1: FULL
        case 2: real(fd, data, size / 2); leave(); _exit(137);
    }
    return real(fd, data, size);
}

#define PWRITE(NAME, OFFSET) \
    ssize_t NAME(int fd, const void *data, size_t size, OFFSET at) { \
        REAL(ssize_t, #NAME, int, const void *, size_t, OFFSET); \
        if (ours(fd)) switch (fault(1)) { \
            case 1: FULL \
            case 2: real(fd, data, size / 2, at); leave(); _exit(137); \
        } \
        return real(fd, data, size, at); \
    }
PWRITE(pwrite, off_t)
PWRITE(pwrite64, off64_t)

ssize_t sendfile(int to, int from, off_t *at, size_t size) {
    REAL(ssize_t, "sendfile", int, int, off_t *, size_t);
    if (ours(to)) switch (fault(1)) {
        case 1: FULL
        case 2: real(to, from, at, size / 2); leave(); _exit(137);
    }
    return real(to, from, at, size);
}

ssize_t sendfile64(int to, int from, off64_t *at, size_t size) {
    REAL(ssize_t, "sendfile64", int, int, off64_t *, size_t);
    if (ours(to)) switch (fault(1)) {
        case 1: FULL
        case 2: real(to, from, at, size / 2); leave(); _exit(137);
    }
    return real(to, from, at, size);
}

ssize_t copy_file_range(int from, off64_t *fromAt, int to, off64_t *toAt, size_t size, unsigned flags) {
    REAL(ssize_t, "copy_file_range", int, off64_t *, int, off64_t *, size_t, unsigned);
    if (ours(to)) switch (fault(1)) {
        case 1: FULL
        case 2: real(from, fromAt, to, toAt, size / 2, flags); leave(); _exit(137);
    }
    return real(from, fromAt, to, toAt, size, flags);
}

#define TRUNCATE(NAME, OFFSET) \
    int NAME(int fd, OFFSET size) { \
        REAL(int, #NAME, int, OFFSET); \
        if (ours(fd) && fault(0) == 1) FULL \
        return real(fd, size); \
    }
TRUNCATE(ftruncate, off_t)
TRUNCATE(ftruncate64, off64_t)

#define OPEN(NAME) \
    int NAME(const char *path, int flags, ...) { \
        REAL(int, #NAME, const char *, int, ...); \
        va_list more; \
        va_start(more, flags); \
        int mode = va_arg(more, int); \
        va_end(more); \
        if ((flags & O_CREAT) && below(path) && fault(1) == 1) FULL \
        return real(path, flags, mode); \
    }
OPEN(open)
OPEN(open64)

int rename(const char *from, const char *to) {
    REAL(int, "rename", const char *, const char *);
    if (below(to)) fault(0);
    return real(from, to);
}

int link(const char *from, const char *to) {
    REAL(int, "link", const char *, const char *);
    if (below(to) && fault(1) == 1) FULL
    return real(from, to);
}

int unlink(const char *path) {
    REAL(int, "unlink", const char *);
    if (below(path)) fault(0);
    return real(path);
}

int mkdir(const char *path, mode_t mode) {
    REAL(int, "mkdir", const char *, mode_t);
    if (below(path) && fault(1) == 1) FULL
    return real(path, mode);
}

#define SYNC(NAME) \
    int NAME(int fd) { \
        REAL(int, #NAME, int); \
        if (ours(fd)) fault(0); \
        return real(fd); \
    }
SYNC(fsync)
SYNC(fdatasync)
