-- Whatever accounts a new database brings, whichever address they may come from: none is let in without the password.
DELETE FROM mysql.global_priv WHERE User = 'root' AND Host <> 'localhost';
DELETE FROM mysql.global_priv WHERE User = '';
FLUSH PRIVILEGES;
ALTER USER 'root'@'localhost' IDENTIFIED BY '@DB_PASSWORD@';
CREATE DATABASE IF NOT EXISTS `@DB_DATABASE@` CHARACTER SET utf8mb4 COLLATE utf8mb4_uca1400_ai_ci;
CREATE USER IF NOT EXISTS '@DB_USERNAME@'@'127.0.0.1' IDENTIFIED BY '@DB_PASSWORD@';
ALTER USER '@DB_USERNAME@'@'127.0.0.1' IDENTIFIED BY '@DB_PASSWORD@';
GRANT ALL ON `@DB_DATABASE@%`.* TO '@DB_USERNAME@'@'127.0.0.1';
