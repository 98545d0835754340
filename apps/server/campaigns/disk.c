/*
 * A disk that fails on demand, for what runs with this library preloaded. Only files under HERON_DISK_FOLDER are concerned.
 *
 * HERON_DISK_LOG    writes each write, truncation and sync down, old and new bytes, so that a power cut can be acted out
 *                   afterwards: whatever was not synced may be lost (powerCut.mjs)
 * HERON_DISK_FAULT  full | error | short | lies: no room, an error, half a write, or a sync that does nothing ...
 * HERON_DISK_AFTER  ... after so many writes
 * HERON_DISK_EVERY  ... and from then on every how manieth write; 1 for all
 */
#define _GNU_SOURCE
#include <dlfcn.h>
#include <errno.h>
#include <fcntl.h>
#include <limits.h>
#include <pthread.h>
#include <stdint.h>
#include <stdio.h>
#include <stdlib.h>
#include <string.h>
#include <sys/stat.h>
#include <sys/types.h>
#include <unistd.h>

enum { NO_FAULT, FULL, ERROR, SHORT, LIES };

static ssize_t (*real_write)(int, const void *, size_t);
static ssize_t (*real_pwrite)(int, const void *, size_t, off_t);
static ssize_t (*real_pread)(int, void *, size_t, off_t);
static int (*real_fsync)(int);
static int (*real_fdatasync)(int);
static int (*real_ftruncate)(int, off_t);

static const char *folder;
static size_t folder_length;
static int log_file = -1;
static int fault = NO_FAULT;
static long after, every = 1, writes;
static pthread_mutex_t one_at_a_time = PTHREAD_MUTEX_INITIALIZER;

static int fault_named(const char *name) {
  if (name == NULL) return NO_FAULT;
  if (strcmp(name, "full") == 0) return FULL;
  if (strcmp(name, "error") == 0) return ERROR;
  if (strcmp(name, "short") == 0) return SHORT;
  return strcmp(name, "lies") == 0 ? LIES : NO_FAULT;
}

__attribute__((constructor)) static void begin(void) {
  real_write = dlsym(RTLD_NEXT, "write");
  real_pwrite = dlsym(RTLD_NEXT, "pwrite64");
  real_pread = dlsym(RTLD_NEXT, "pread64");
  real_fsync = dlsym(RTLD_NEXT, "fsync");
  real_fdatasync = dlsym(RTLD_NEXT, "fdatasync");
  real_ftruncate = dlsym(RTLD_NEXT, "ftruncate64");
  const char *log = getenv("HERON_DISK_LOG");
  folder = getenv("HERON_DISK_FOLDER");
  if (folder != NULL) folder_length = strlen(folder);
  fault = fault_named(getenv("HERON_DISK_FAULT"));
  if (getenv("HERON_DISK_AFTER") != NULL) after = atol(getenv("HERON_DISK_AFTER"));
  if (getenv("HERON_DISK_EVERY") != NULL) every = atol(getenv("HERON_DISK_EVERY"));
  if (log != NULL) log_file = open(log, O_WRONLY | O_CREAT | O_APPEND, 0600);
}

/* Whether a file is one of the shop's: asked each time, since numbers of files are given anew. */
static int is_ours(int file) {
  char name[64], path[PATH_MAX];
  if (folder == NULL || file < 0) return 0;
  snprintf(name, sizeof name, "/proc/self/fd/%d", file);
  ssize_t length = readlink(name, path, sizeof path - 1);
  return length > (ssize_t)folder_length && strncmp(path, folder, folder_length) == 0 && path[folder_length] == '/';
}

struct entry {
  char kind; /* W written, T truncated, S synced */
  uint64_t file, at, size_before, old_length, new_length;
} __attribute__((packed));

static void put(const void *bytes, size_t length) {
  if (length > 0 && real_write(log_file, bytes, length) != (ssize_t)length) abort();
}

/* Writes down what is about to be changed from `at` on: what was there, and what comes there. */
static void note(char kind, int file, off_t at, const void *bytes, size_t length) {
  struct stat state;
  if (log_file < 0 || fstat(file, &state) != 0 || !S_ISREG(state.st_mode)) return;
  size_t there = state.st_size > at ? (size_t)(state.st_size - at) : 0;
  size_t old_length = kind == 'W' && there > length ? length : there;
  if (kind == 'S') old_length = 0;
  char *old = malloc(old_length + 1);
  /* It may be open for writing alone. */
  char name[64];
  snprintf(name, sizeof name, "/proc/self/fd/%d", file);
  int reader = open(name, O_RDONLY);
  if (old == NULL || reader < 0 || real_pread(reader, old, old_length, at) != (ssize_t)old_length) abort();
  close(reader);
  struct entry entry = { kind, state.st_ino, at, state.st_size, old_length, length };
  put(&entry, sizeof entry);
  put(old, old_length);
  put(bytes, length);
  free(old);
}

/* Whether this write is one that fails. */
static int fails_now(void) {
  writes += 1;
  return fault != NO_FAULT && fault != LIES && writes > after && (writes - after) % every == 0;
}

static ssize_t put_at(int file, const void *bytes, size_t length, off_t at, int moves) {
  pthread_mutex_lock(&one_at_a_time);
  ssize_t done;
  int is_failing = fails_now();
  if (is_failing && fault == FULL) errno = ENOSPC, done = -1;
  else if (is_failing && fault == ERROR) errno = EIO, done = -1;
  else {
    if (is_failing && length > 1) length /= 2;
    note('W', file, at, bytes, length);
    done = moves ? real_write(file, bytes, length) : real_pwrite(file, bytes, length, at);
  }
  pthread_mutex_unlock(&one_at_a_time);
  return done;
}

ssize_t write(int file, const void *bytes, size_t length) {
  if (!is_ours(file)) return real_write(file, bytes, length);
  off_t at = lseek(file, 0, SEEK_CUR);
  struct stat state;
  if (fcntl(file, F_GETFL) & O_APPEND && fstat(file, &state) == 0) at = state.st_size;
  return put_at(file, bytes, length, at, 1);
}

ssize_t pwrite64(int file, const void *bytes, size_t length, off_t at) {
  return is_ours(file) ? put_at(file, bytes, length, at, 0) : real_pwrite(file, bytes, length, at);
}

ssize_t pwrite(int file, const void *bytes, size_t length, off_t at) { return pwrite64(file, bytes, length, at); }

static int sync_file(int file, int (*sync)(int)) {
  if (!is_ours(file)) return sync(file);
  if (fault == LIES && writes > after) return 0;
  pthread_mutex_lock(&one_at_a_time);
  int done = sync(file);
  if (done == 0) note('S', file, 0, NULL, 0);
  pthread_mutex_unlock(&one_at_a_time);
  return done;
}

int fsync(int file) { return sync_file(file, real_fsync); }
int fdatasync(int file) { return sync_file(file, real_fdatasync); }

int ftruncate64(int file, off_t size) {
  if (!is_ours(file)) return real_ftruncate(file, size);
  pthread_mutex_lock(&one_at_a_time);
  note('T', file, size, NULL, 0);
  int done = real_ftruncate(file, size);
  pthread_mutex_unlock(&one_at_a_time);
  return done;
}

int ftruncate(int file, off_t size) { return ftruncate64(file, size); }
